-- What a shop of its own needs: where sites are and how one gets in, plates, holes, notes, rules; archived, never deleted.
ALTER TABLE sites
  ADD COLUMN climate text,
  ADD COLUMN address text,
  ADD COLUMN access_notes text,
  ADD COLUMN contact text,
  ADD COLUMN phone text,
  ADD COLUMN archived_at timestamptz;
ALTER TABLE units
  ADD COLUMN plate jsonb,
  ADD COLUMN ports jsonb,
  ADD COLUMN notes text,
  ADD COLUMN archived_at timestamptz;
ALTER TABLE visits ADD COLUMN plate jsonb;
-- As it was typed, where that was in another unit than in. w.c.
ALTER TABLE readings ADD COLUMN typed_as text;
ALTER TABLE blower_tables
  ADD COLUMN part boolean,
  ADD COLUMN conditions jsonb,
  ADD COLUMN archived_at timestamptz;
ALTER TABLE shop_figures
  ADD COLUMN labor_an_hour double precision,
  ADD COLUMN rules jsonb;

-- By which rules a result was judged, as a mark of them; blank for the usual. When they change it is judged anew.
ALTER TABLE results ADD COLUMN rules_mark text NOT NULL DEFAULT '';

-- Typos forgiven: words that share most of their groups of three letters.
CREATE EXTENSION IF NOT EXISTS pg_trgm;
