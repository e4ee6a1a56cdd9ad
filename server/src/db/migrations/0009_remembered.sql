-- What a visit leaves to the next: everything found with what became of it, and the figures that are followed over the years.
ALTER TABLE results
  ADD COLUMN found jsonb,
  ADD COLUMN figures jsonb;
