-- Photos of what was looked at. No foreign key to the visit: a photo may arrive before it.

CREATE TABLE photos (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  written_by uuid NOT NULL REFERENCES people (id),
  received_at timestamptz NOT NULL DEFAULT now(),
  visit_id uuid NOT NULL,
  item text NOT NULL,
  saved_at timestamptz NOT NULL,
  jpeg bytea NOT NULL
);
CREATE INDEX photos_of_shop ON photos (shop_id, saved_at DESC);

CREATE TRIGGER photos_are_append_only BEFORE UPDATE OR DELETE ON photos
  FOR EACH ROW EXECUTE FUNCTION refuse_change()
