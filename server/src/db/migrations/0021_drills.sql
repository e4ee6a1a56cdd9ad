-- How practice drills went, by case code and person. The case itself is in its code.
CREATE TABLE drills (
  id uuid NOT NULL,
  shop_id uuid NOT NULL REFERENCES shops (id),
  written_by uuid NOT NULL,
  saved_at timestamptz NOT NULL,
  revision bigint NOT NULL,
  code text NOT NULL,
  person text,
  done_at timestamptz NOT NULL,
  is_exam boolean NOT NULL,
  is_hit boolean NOT NULL,
  is_on_target boolean,
  is_stopped boolean NOT NULL,
  minutes double precision NOT NULL,
  best_minutes double precision NOT NULL,
  cost double precision NOT NULL,
  hints integer NOT NULL,
  cautions integer NOT NULL,
  hits jsonb NOT NULL,
  misses jsonb NOT NULL,
  PRIMARY KEY (shop_id, id),
  FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id)
);
CREATE INDEX drills_by_code ON drills (shop_id, code);
CREATE INDEX drills_by_revision ON drills (shop_id, revision);
ALTER TABLE drills ENABLE ROW LEVEL SECURITY;
ALTER TABLE drills FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON drills USING ((SELECT current_setting('huff.shop', true)) IN ('every', shop_id::text));
