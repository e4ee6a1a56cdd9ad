-- How to get to a unit: "attic, hatch in the hall closet". It is searched.
ALTER TABLE units ADD COLUMN location text;
ALTER TABLE units DROP COLUMN search_text;
ALTER TABLE units ADD COLUMN search_text text GENERATED ALWAYS AS
  (lower(name || ' ' || coalesce(plate->>'model', '') || ' ' || coalesce(plate->>'serial', '') || ' ' || coalesce(location, '') || ' '
    || coalesce(notes, ''))) STORED;
