-- What a visit leaves to the next: everything found with what became of it, the figures that are followed over the years, and
-- how each check of a roof sheet stands.
ALTER TABLE results
  ADD COLUMN found jsonb,
  ADD COLUMN figures jsonb,
  ADD COLUMN marks jsonb;

-- What was agreed at the end of visits is looked up for all units at once.
CREATE INDEX facts_hand_over ON facts (shop_id, visit_id) WHERE kind = 'handOver';
