-- The shop's logo for the head of its reports: a small JPEG in base64, as the phone makes it.
ALTER TABLE shop_figures ADD COLUMN logo text CHECK (length(logo) <= 40000);
