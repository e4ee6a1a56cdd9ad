-- Shops, their people, and what the first station needs: blower tables, units, visits, readings.
-- Every row says which shop it belongs to and who wrote it.

CREATE TABLE shops (
  id uuid PRIMARY KEY,
  name text NOT NULL,
  created_at timestamptz NOT NULL DEFAULT now()
);

CREATE TABLE people (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  name text NOT NULL,
  created_at timestamptz NOT NULL DEFAULT now()
);

CREATE TABLE blower_tables (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  written_by uuid NOT NULL REFERENCES people (id),
  saved_at timestamptz NOT NULL,
  name text NOT NULL,
  motor text NOT NULL,
  tons double precision,
  statics_in_wc jsonb NOT NULL,
  taps jsonb NOT NULL
);
CREATE INDEX blower_tables_of_shop ON blower_tables (shop_id, name);

CREATE TABLE units (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  written_by uuid NOT NULL REFERENCES people (id),
  saved_at timestamptz NOT NULL,
  site_name text NOT NULL,
  name text NOT NULL,
  layout text NOT NULL,
  motor text NOT NULL,
  tons double precision,
  max_tesp_in_wc double precision,
  cfm_per_ton double precision NOT NULL,
  tap text,
  blower_table_id uuid REFERENCES blower_tables (id)
);
CREATE INDEX units_of_shop ON units (shop_id, site_name, name);

CREATE TABLE visits (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  written_by uuid NOT NULL REFERENCES people (id),
  saved_at timestamptz NOT NULL,
  started_at timestamptz NOT NULL,
  title text NOT NULL,
  -- No foreign key: a visit made without a signal may arrive before its unit.
  unit_id uuid,
  layout text NOT NULL,
  motor text NOT NULL,
  mode text NOT NULL,
  tons double precision,
  max_tesp_in_wc double precision,
  cfm_per_ton double precision NOT NULL,
  tap text,
  -- The maker's figures as they were: the visit stays readable when the shop's table is changed.
  table_used jsonb
);
CREATE INDEX visits_of_shop ON visits (shop_id, started_at DESC);

CREATE TABLE readings (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  written_by uuid NOT NULL REFERENCES people (id),
  received_at timestamptz NOT NULL DEFAULT now(),
  visit_id uuid NOT NULL REFERENCES visits (id),
  quantity text NOT NULL,
  port text NOT NULL,
  value double precision NOT NULL,
  unit text NOT NULL,
  origin text NOT NULL,
  conditions jsonb NOT NULL,
  taken_at timestamptz NOT NULL,
  -- The reading this one corrects; not a foreign key, since the two may arrive in either order.
  replaces_id uuid
);
CREATE INDEX readings_of_visit ON readings (visit_id, taken_at);

CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'readings are append-only' USING ERRCODE = 'restrict_violation';
END $$;

CREATE TRIGGER readings_are_append_only BEFORE UPDATE OR DELETE ON readings
  FOR EACH ROW EXECUTE FUNCTION refuse_change()
