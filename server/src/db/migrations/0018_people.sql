-- Who may come in, and how: people with a role, passphrases, passkeys, sessions, and the codes by which somebody comes in for the first time.
ALTER TABLE people
  ADD COLUMN role text NOT NULL DEFAULT 'technician' CHECK (role IN ('owner', 'lead', 'technician', 'apprentice')),
  -- By what a person is known at the door; of all shops of a server, so that nobody has to say which.
  ADD COLUMN sign_in_name text,
  ADD COLUMN passphrase_hash text,
  -- Left: what was written stays under the name, and nobody comes in by it.
  ADD COLUMN left_at timestamptz;
-- Until now there was one person, whose shop it is.
UPDATE people SET role = 'owner';
CREATE UNIQUE INDEX people_sign_in_name ON people (lower(sign_in_name));

CREATE TABLE passkeys (
  shop_id uuid NOT NULL,
  id text NOT NULL UNIQUE,
  person_id uuid NOT NULL,
  public_key bytea NOT NULL,
  counter bigint NOT NULL,
  transports jsonb NOT NULL,
  made_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (shop_id, id),
  FOREIGN KEY (shop_id, person_id) REFERENCES people (shop_id, id)
);

-- The browser has the token; here is what it hashes to.
CREATE TABLE sessions (
  shop_id uuid NOT NULL,
  key text NOT NULL,
  id uuid NOT NULL DEFAULT gen_random_uuid(),
  person_id uuid NOT NULL,
  label text NOT NULL,
  made_at timestamptz NOT NULL DEFAULT now(),
  used_at timestamptz NOT NULL DEFAULT now(),
  expires_at timestamptz NOT NULL,
  PRIMARY KEY (shop_id, key),
  FOREIGN KEY (shop_id, person_id) REFERENCES people (shop_id, id)
);
CREATE UNIQUE INDEX sessions_by_key ON sessions (key);
CREATE INDEX sessions_of_person ON sessions (shop_id, person_id);

-- Codes that let somebody in once: an invitation, or another device of a person who is in.
CREATE TABLE entry_codes (
  shop_id uuid NOT NULL,
  key text NOT NULL,
  person_id uuid NOT NULL,
  made_by uuid NOT NULL,
  made_at timestamptz NOT NULL DEFAULT now(),
  expires_at timestamptz NOT NULL,
  used_at timestamptz,
  PRIMARY KEY (shop_id, key),
  FOREIGN KEY (shop_id, person_id) REFERENCES people (shop_id, id)
);
CREATE UNIQUE INDEX entry_codes_by_key ON entry_codes (key);

-- What a passkey is asked to sign, once and soon. Whose it is shows only afterwards.
CREATE TABLE challenges (
  id uuid PRIMARY KEY,
  challenge text NOT NULL,
  expires_at timestamptz NOT NULL
);

DO $$
DECLARE
  name text;
BEGIN
  FOREACH name IN ARRAY ARRAY['passkeys', 'sessions', 'entry_codes'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', name);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', name);
    EXECUTE format('CREATE POLICY own_shop ON %I USING ((SELECT current_setting(''huff.shop'', true)) IN (''every'', shop_id::text))', name);
  END LOOP;
END $$;
