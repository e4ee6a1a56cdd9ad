-- Parts beside belts and sheaves; what is taken at visits is looked up for all of them at once.
ALTER TABLE shop_figures ADD COLUMN parts jsonb;
CREATE INDEX facts_part ON facts (shop_id, taken_at) WHERE kind = 'part';

-- Visits for maintenance, by which the next one is due.
CREATE INDEX facts_maintenance ON facts (shop_id, visit_id)
  WHERE kind = 'check' AND inputs->>'state' = 'maintenance' AND inputs->>'point' = 'complaint';

-- Where reports and reminders would go.
ALTER TABLE sites ADD COLUMN email text;

-- Visits that are planned, by day and person.
CREATE TABLE stops (
  id uuid NOT NULL,
  shop_id uuid NOT NULL REFERENCES shops (id),
  written_by uuid NOT NULL,
  saved_at timestamptz NOT NULL,
  revision bigint NOT NULL,
  day date NOT NULL,
  place integer NOT NULL,
  person text,
  -- A stop may arrive before its site or unit: no foreign key between records.
  site_id uuid NOT NULL,
  unit_id uuid,
  why text NOT NULL,
  done_at timestamptz,
  archived_at timestamptz,
  PRIMARY KEY (shop_id, id),
  FOREIGN KEY (shop_id, written_by) REFERENCES people (shop_id, id)
);
CREATE INDEX stops_by_day ON stops (shop_id, day, place);
CREATE INDEX stops_by_revision ON stops (shop_id, revision);

-- Mail that would be sent. Nothing is sent from here: it is kept to be read.
CREATE TABLE mails (
  id uuid NOT NULL,
  shop_id uuid NOT NULL REFERENCES shops (id),
  made_at timestamptz NOT NULL DEFAULT now(),
  kind text NOT NULL,
  to_address text NOT NULL,
  subject text NOT NULL,
  body text NOT NULL,
  visit_id uuid,
  unit_id uuid,
  PRIMARY KEY (shop_id, id)
);
CREATE INDEX mails_by_time ON mails (shop_id, made_at DESC, id);

-- What places are found by, in small letters.
ALTER TABLE sites ADD COLUMN search_text text GENERATED ALWAYS AS
  (lower(name || ' ' || coalesce(address, '') || ' ' || coalesce(contact, '') || ' ' || coalesce(access_notes, ''))) STORED;
ALTER TABLE units ADD COLUMN search_text text GENERATED ALWAYS AS
  (lower(name || ' ' || coalesce(plate->>'model', '') || ' ' || coalesce(plate->>'serial', '') || ' ' || coalesce(notes, ''))) STORED;

-- What visits are found by: title, findings, notes, in small letters; and the words of them, so that a slip of the finger is sought among few.
ALTER TABLE results ADD COLUMN search_text text;
-- The embedded database never merges what an index puts off: nothing is put off.
CREATE INDEX results_search ON results USING gin (search_text gin_trgm_ops) WITH (fastupdate = off);
CREATE TABLE search_words (
  shop_id uuid NOT NULL REFERENCES shops (id),
  word text NOT NULL,
  PRIMARY KEY (shop_id, word)
);
CREATE INDEX search_words_near ON search_words USING gin (word gin_trgm_ops) WITH (fastupdate = off);

-- When the filter of a unit is due by its own fillings; computed with the results of its visits.
CREATE TABLE unit_filter_due (
  shop_id uuid NOT NULL REFERENCES shops (id),
  unit_id uuid NOT NULL,
  due_on date NOT NULL,
  sigma_days integer NOT NULL,
  PRIMARY KEY (shop_id, unit_id)
);
