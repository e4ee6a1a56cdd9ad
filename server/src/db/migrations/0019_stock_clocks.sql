-- What was taken from a truck is ordered by the server's clock: parts that a phone with a wrong clock took are found apart from the index by
-- the phone's own time.
CREATE INDEX facts_part_off ON facts (shop_id) WHERE kind = 'part' AND clock_offset_ms IS NOT NULL;
