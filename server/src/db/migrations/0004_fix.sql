-- Fixes: belt tables by RPM, units as they were proven, and what a shop sets for itself.

ALTER TABLE blower_tables ADD COLUMN by_rpm jsonb;
ALTER TABLE units ADD COLUMN proven jsonb;

-- One row a shop, its id the shop's.
CREATE TABLE shop_figures (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL UNIQUE REFERENCES shops (id),
  written_by uuid NOT NULL REFERENCES people (id),
  saved_at timestamptz NOT NULL,
  currency text NOT NULL,
  tariff_per_kwh double precision,
  hours_a_year double precision,
  moves jsonb NOT NULL,
  sheaves jsonb NOT NULL,
  belts jsonb NOT NULL
)
