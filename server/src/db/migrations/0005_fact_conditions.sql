-- How the unit ran while a fact was taken: mode and speed. Facts of before do not say.

ALTER TABLE facts ADD COLUMN conditions jsonb
