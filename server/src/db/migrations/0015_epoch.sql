-- Which life of the data this is: another one after a restore, so that a phone notices that the server knows less than it was told.
ALTER TABLE shops ADD COLUMN epoch uuid NOT NULL DEFAULT gen_random_uuid();
