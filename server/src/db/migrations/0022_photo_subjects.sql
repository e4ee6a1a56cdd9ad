-- A photo is of a visit, of a unit (its nameplate, read at the desk) or of a blower table (the paper it was read from).
ALTER TABLE photos ALTER COLUMN visit_id DROP NOT NULL;
ALTER TABLE photos ADD COLUMN unit_id uuid;
ALTER TABLE photos ADD COLUMN blower_table_id uuid;
ALTER TABLE photos ADD CONSTRAINT photos_of_one CHECK (num_nonnulls(visit_id, unit_id, blower_table_id) = 1);
CREATE INDEX photos_by_unit ON photos (shop_id, unit_id) WHERE unit_id IS NOT NULL;
CREATE INDEX photos_by_blower_table ON photos (shop_id, blower_table_id) WHERE blower_table_id IS NOT NULL;
