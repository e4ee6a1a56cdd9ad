-- What a shop knows better of what keeps blowers and furnaces from running: odds per 100 calls, by cause.
ALTER TABLE shop_figures
  ADD COLUMN odds jsonb;
