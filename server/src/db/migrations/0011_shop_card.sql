-- Who comes: name, address, phone, license, technician and payment terms of the shop, for the head of its reports.
ALTER TABLE shop_figures ADD COLUMN card jsonb;
