-- What a customer asked to be erased: which records are gone for good, without anything they said. Phones learn of it, and what a phone still
-- sends of them is refused.
CREATE TABLE erasures (
  shop_id uuid NOT NULL REFERENCES shops (id),
  kind text NOT NULL,
  record_id uuid NOT NULL,
  revision bigint NOT NULL,
  erased_at timestamptz NOT NULL DEFAULT now(),
  erased_by uuid NOT NULL,
  PRIMARY KEY (shop_id, kind, record_id),
  FOREIGN KEY (shop_id, erased_by) REFERENCES people (shop_id, id)
);
CREATE INDEX erasures_by_record ON erasures (shop_id, record_id);
CREATE INDEX erasures_by_revision ON erasures (shop_id, revision);
ALTER TABLE erasures ENABLE ROW LEVEL SECURITY;
ALTER TABLE erasures FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON erasures USING ((SELECT current_setting('huff.shop', true)) IN ('every', shop_id::text));

-- Which record an operation was of: its answer may hold what two phones said of a customer. Those of before are found by the history.
ALTER TABLE operations ADD COLUMN record_id uuid;

-- Nothing is taken out of what is append-only, but for an erasure, which says in its own transaction for which shop it is.
CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'DELETE' AND current_setting('huff.erasing', true) = OLD.shop_id::text THEN
    RETURN OLD;
  END IF;
  RAISE EXCEPTION '% are append-only', TG_TABLE_NAME USING ERRCODE = 'restrict_violation';
END $$;
