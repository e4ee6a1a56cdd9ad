-- When the customer needs a unit, local time: "08:00-17:00".
ALTER TABLE units ADD COLUMN needed_hours text;
