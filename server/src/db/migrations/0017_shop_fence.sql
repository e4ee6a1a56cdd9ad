-- A second fence between shops, beside the shop in every statement: a connection sees the rows of the shop it was set to, or of every shop where
-- the server works for all. Nothing set, nothing seen. A superuser passes it: the embedded database, and nobody else.
-- The tables of what is searched stand outside: no index of theirs could be used behind a policy. What they find is read from visits, which has one.
DO $$
DECLARE
  t record;
BEGIN
  FOR t IN
    SELECT c.table_name AS name FROM information_schema.columns c JOIN information_schema.tables b USING (table_schema, table_name)
    WHERE c.table_schema = 'public' AND c.column_name = 'shop_id' AND b.table_type = 'BASE TABLE'
      AND c.table_name NOT IN ('search_texts', 'search_words')
  LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t.name);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t.name);
    EXECUTE format(
      'CREATE POLICY own_shop ON %I USING ((SELECT current_setting(''huff.shop'', true)) IN (''every'', shop_id::text))', t.name);
  END LOOP;
  ALTER TABLE shops ENABLE ROW LEVEL SECURITY;
  ALTER TABLE shops FORCE ROW LEVEL SECURITY;
  CREATE POLICY own_shop ON shops USING ((SELECT current_setting('huff.shop', true)) IN ('every', id::text));
END $$;
