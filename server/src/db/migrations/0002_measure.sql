-- The whole air path: what else is known of a unit, facts beside statics, and sites with their altitude.

ALTER TABLE units ADD COLUMN setup jsonb;
ALTER TABLE visits ADD COLUMN setup jsonb;

CREATE TABLE facts (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  written_by uuid NOT NULL REFERENCES people (id),
  received_at timestamptz NOT NULL DEFAULT now(),
  visit_id uuid NOT NULL REFERENCES visits (id),
  kind text NOT NULL,
  inputs jsonb NOT NULL,
  taken_at timestamptz NOT NULL,
  -- The fact this one corrects; not a foreign key, since the two may arrive in either order.
  replaces_id uuid
);
CREATE INDEX facts_of_visit ON facts (visit_id, taken_at);

CREATE TRIGGER facts_are_append_only BEFORE UPDATE OR DELETE ON facts
  FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE sites (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  written_by uuid NOT NULL REFERENCES people (id),
  saved_at timestamptz NOT NULL,
  name text NOT NULL,
  altitude_ft double precision
);
CREATE INDEX sites_of_shop ON sites (shop_id, name)
