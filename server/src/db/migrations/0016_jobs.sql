-- What is left to do after a change, so that no stop loses it and several servers share it: each job once, taken for a while by one of them.
CREATE TABLE jobs (
  shop_id uuid NOT NULL REFERENCES shops (id),
  kind text NOT NULL CHECK (kind IN ('visit', 'allVisits', 'reminders')),
  -- The visit, or the shop.
  subject uuid NOT NULL,
  -- Whether somebody waits to be told: a report is mailed when its visit was changed by hand, not when it came in a file.
  tell boolean NOT NULL DEFAULT false,
  due_at timestamptz NOT NULL DEFAULT now(),
  -- Raised each time the same is asked for: what was asked while it was being done is done once more.
  asked bigint NOT NULL DEFAULT 1,
  taken_until timestamptz,
  PRIMARY KEY (shop_id, kind, subject)
);
CREATE INDEX jobs_due ON jobs (due_at);

-- What visits are found by, apart from what was found: see 0017.
CREATE TABLE search_texts (
  shop_id uuid NOT NULL,
  visit_id uuid NOT NULL,
  text text NOT NULL,
  PRIMARY KEY (shop_id, visit_id),
  FOREIGN KEY (shop_id, visit_id) REFERENCES visits (shop_id, id)
);
INSERT INTO search_texts (shop_id, visit_id, text) SELECT shop_id, visit_id, search_text FROM results WHERE search_text IS NOT NULL;
CREATE INDEX search_texts_found ON search_texts USING gin (text gin_trgm_ops) WITH (fastupdate = off);
DROP INDEX results_search;
ALTER TABLE results DROP COLUMN search_text;
