-- The spine: one counter a shop, operations done once, who changed what, results for lists; sites by id; keys that keep shops apart.

-- Moved in the transaction of each change: revision of what changed, and cursor of what a phone knows.
ALTER TABLE shops ADD COLUMN revision bigint NOT NULL DEFAULT 0;

-- A record may arrive before what it points at: no foreign key between records.
ALTER TABLE units DROP CONSTRAINT units_blower_table_id_fkey;
ALTER TABLE readings DROP CONSTRAINT readings_visit_id_fkey;
ALTER TABLE facts DROP CONSTRAINT facts_visit_id_fkey;

-- Every key carries the shop.
ALTER TABLE blower_tables DROP CONSTRAINT blower_tables_written_by_fkey;
ALTER TABLE units DROP CONSTRAINT units_written_by_fkey;
ALTER TABLE visits DROP CONSTRAINT visits_written_by_fkey;
ALTER TABLE readings DROP CONSTRAINT readings_written_by_fkey;
ALTER TABLE facts DROP CONSTRAINT facts_written_by_fkey;
ALTER TABLE sites DROP CONSTRAINT sites_written_by_fkey;
ALTER TABLE photos DROP CONSTRAINT photos_written_by_fkey;
ALTER TABLE shop_figures DROP CONSTRAINT shop_figures_written_by_fkey;
ALTER TABLE people DROP CONSTRAINT people_pkey, ADD PRIMARY KEY (shop_id, id);
ALTER TABLE blower_tables DROP CONSTRAINT blower_tables_pkey, ADD PRIMARY KEY (shop_id, id),
  ADD FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id);
ALTER TABLE units DROP CONSTRAINT units_pkey, ADD PRIMARY KEY (shop_id, id),
  ADD FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id);
ALTER TABLE visits DROP CONSTRAINT visits_pkey, ADD PRIMARY KEY (shop_id, id),
  ADD FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id);
ALTER TABLE readings DROP CONSTRAINT readings_pkey, ADD PRIMARY KEY (shop_id, id),
  ADD FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id);
ALTER TABLE facts DROP CONSTRAINT facts_pkey, ADD PRIMARY KEY (shop_id, id),
  ADD FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id);
ALTER TABLE sites DROP CONSTRAINT sites_pkey, ADD PRIMARY KEY (shop_id, id),
  ADD FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id);
ALTER TABLE photos DROP CONSTRAINT photos_pkey, ADD PRIMARY KEY (shop_id, id),
  ADD FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id);
ALTER TABLE shop_figures DROP CONSTRAINT shop_figures_pkey, ADD PRIMARY KEY (shop_id, id),
  ADD FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id);

-- Units belong to sites by id. Of two sites of one name the one whose altitude is known, then the later one, has the units.
INSERT INTO sites (id, shop_id, written_by, saved_at, name)
  SELECT gen_random_uuid(), u.shop_id, min(u.written_by::text)::uuid, min(u.saved_at), u.site_name
  FROM units u
  WHERE NOT EXISTS (SELECT 1 FROM sites s WHERE s.shop_id = u.shop_id AND s.name = u.site_name)
  GROUP BY u.shop_id, u.site_name;
ALTER TABLE units ADD COLUMN site_id uuid;
UPDATE units u SET site_id = (
  SELECT s.id FROM sites s WHERE s.shop_id = u.shop_id AND s.name = u.site_name
  ORDER BY s.altitude_ft IS NULL, s.saved_at DESC, s.id LIMIT 1
);
ALTER TABLE units ALTER COLUMN site_id SET NOT NULL;
DROP INDEX units_of_shop;
ALTER TABLE units DROP COLUMN site_name;
CREATE INDEX units_of_site ON units (shop_id, site_id, name);

-- Revisions: what is here is numbered in the order it was saved. Readings, facts and photos of before are 0: they come with their visit.
ALTER TABLE sites ADD COLUMN revision bigint NOT NULL DEFAULT 0;
ALTER TABLE units ADD COLUMN revision bigint NOT NULL DEFAULT 0;
ALTER TABLE blower_tables ADD COLUMN revision bigint NOT NULL DEFAULT 0;
ALTER TABLE visits ADD COLUMN revision bigint NOT NULL DEFAULT 0;
-- Where it was made: what came before it (readings may) is told with it to all who know less.
ALTER TABLE visits ADD COLUMN made_revision bigint NOT NULL DEFAULT 0;
-- Where its own fields changed last, beside what was added to it; and how much that is.
ALTER TABLE visits ADD COLUMN head_revision bigint NOT NULL DEFAULT 0;
ALTER TABLE visits ADD COLUMN reading_count integer NOT NULL DEFAULT 0;
ALTER TABLE visits ADD COLUMN fact_count integer NOT NULL DEFAULT 0;
UPDATE visits v SET
  reading_count = (SELECT count(*) FROM readings r WHERE r.shop_id = v.shop_id AND r.visit_id = v.id),
  fact_count = (SELECT count(*) FROM facts f WHERE f.shop_id = v.shop_id AND f.visit_id = v.id);
ALTER TABLE shop_figures ADD COLUMN revision bigint NOT NULL DEFAULT 0;
ALTER TABLE readings ADD COLUMN revision bigint NOT NULL DEFAULT 0;
ALTER TABLE facts ADD COLUMN revision bigint NOT NULL DEFAULT 0;
ALTER TABLE photos ADD COLUMN revision bigint NOT NULL DEFAULT 0;
CREATE TEMPORARY TABLE numbered ON COMMIT DROP AS
  SELECT kind, shop_id, id, row_number() OVER (PARTITION BY shop_id ORDER BY saved_at, kind, id) AS n
  FROM (
    SELECT 'site' AS kind, shop_id, id, saved_at FROM sites
    UNION ALL SELECT 'unit', shop_id, id, saved_at FROM units
    UNION ALL SELECT 'blowerTable', shop_id, id, saved_at FROM blower_tables
    UNION ALL SELECT 'visit', shop_id, id, saved_at FROM visits
    UNION ALL SELECT 'shop', shop_id, id, saved_at FROM shop_figures
  ) AS records;
UPDATE sites r SET revision = n FROM numbered x WHERE x.kind = 'site' AND x.shop_id = r.shop_id AND x.id = r.id;
UPDATE units r SET revision = n FROM numbered x WHERE x.kind = 'unit' AND x.shop_id = r.shop_id AND x.id = r.id;
UPDATE blower_tables r SET revision = n FROM numbered x WHERE x.kind = 'blowerTable' AND x.shop_id = r.shop_id AND x.id = r.id;
UPDATE visits r SET revision = n FROM numbered x WHERE x.kind = 'visit' AND x.shop_id = r.shop_id AND x.id = r.id;
UPDATE shop_figures r SET revision = n FROM numbered x WHERE x.kind = 'shop' AND x.shop_id = r.shop_id AND x.id = r.id;
UPDATE shops s SET revision = (SELECT coalesce(max(n), 0) FROM numbered x WHERE x.shop_id = s.id);
CREATE INDEX sites_by_revision ON sites (shop_id, revision);
CREATE INDEX units_by_revision ON units (shop_id, revision);
CREATE INDEX blower_tables_by_revision ON blower_tables (shop_id, revision);
CREATE INDEX visits_by_revision ON visits (shop_id, revision);

DROP INDEX visits_of_shop;
DROP INDEX readings_of_visit;
DROP INDEX facts_of_visit;
CREATE INDEX visits_newest ON visits (shop_id, started_at DESC, id DESC);
CREATE INDEX visits_of_unit ON visits (shop_id, unit_id, started_at);
CREATE INDEX readings_of_visit ON readings (shop_id, visit_id, taken_at);
CREATE INDEX facts_of_visit ON facts (shop_id, visit_id, taken_at);

-- What to add to a time that a phone gave, where its clock was off enough to matter.
ALTER TABLE readings ADD COLUMN clock_offset_ms bigint;
ALTER TABLE facts ADD COLUMN clock_offset_ms bigint;

CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION '% are append-only', TG_TABLE_NAME USING ERRCODE = 'restrict_violation';
END $$;

-- Pictures apart from what is said of them, in two sizes.
CREATE TABLE photo_bytes (
  shop_id uuid NOT NULL,
  photo_id uuid NOT NULL,
  size text NOT NULL CHECK (size IN ('small', 'full')),
  jpeg bytea NOT NULL,
  PRIMARY KEY (shop_id, photo_id, size),
  FOREIGN KEY (shop_id, photo_id) REFERENCES photos (shop_id, id)
);
INSERT INTO photo_bytes (shop_id, photo_id, size, jpeg) SELECT shop_id, id, 'full', jpeg FROM photos;
ALTER TABLE photos DROP COLUMN jpeg;
DROP INDEX photos_of_shop;
CREATE INDEX photos_of_visit ON photos (shop_id, visit_id, saved_at);
CREATE TRIGGER photo_bytes_are_append_only BEFORE UPDATE OR DELETE ON photo_bytes
  FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- Every operation that was done, with its answer: sent again it is answered the same.
CREATE TABLE operations (
  shop_id uuid NOT NULL REFERENCES shops (id),
  id uuid NOT NULL,
  done_by uuid NOT NULL,
  device uuid NOT NULL,
  received_at timestamptz NOT NULL DEFAULT now(),
  made_at timestamptz NOT NULL,
  clock_offset_ms bigint NOT NULL,
  digest text NOT NULL,
  result jsonb NOT NULL,
  PRIMARY KEY (shop_id, id),
  FOREIGN KEY (shop_id, done_by) REFERENCES people (shop_id, id)
);
CREATE TRIGGER operations_are_append_only BEFORE UPDATE OR DELETE ON operations
  FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- Who changed which field of a record, when, from what to what.
CREATE TABLE changes (
  shop_id uuid NOT NULL REFERENCES shops (id),
  revision bigint NOT NULL,
  kind text NOT NULL,
  record_id uuid NOT NULL,
  operation_id uuid NOT NULL,
  device uuid NOT NULL,
  changed_by uuid NOT NULL,
  changed_at timestamptz NOT NULL DEFAULT now(),
  -- {"tap": {"before": "3", "after": "4"}}
  fields jsonb NOT NULL,
  PRIMARY KEY (shop_id, revision),
  FOREIGN KEY (shop_id, changed_by) REFERENCES people (shop_id, id)
);
CREATE INDEX changes_of_record ON changes (shop_id, record_id, revision);
CREATE TRIGGER changes_are_append_only BEFORE UPDATE OR DELETE ON changes
  FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- What core says of a visit, for lists, search and trends. Computed; may be thrown away and computed anew.
CREATE TABLE results (
  shop_id uuid NOT NULL,
  visit_id uuid NOT NULL,
  visit_revision bigint NOT NULL,
  judgement_version integer NOT NULL,
  computed_at timestamptz NOT NULL DEFAULT now(),
  static_in_wc double precision,
  static_word text NOT NULL,
  flow_cfm double precision,
  flow_sigma_cfm double precision,
  flow_word text NOT NULL,
  drop_f double precision,
  drop_word text NOT NULL,
  worst_finding text,
  next_step text,
  headline text NOT NULL,
  PRIMARY KEY (shop_id, visit_id),
  FOREIGN KEY (shop_id, visit_id) REFERENCES visits (shop_id, id)
)
