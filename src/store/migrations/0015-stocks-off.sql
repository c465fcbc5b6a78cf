-- What the golfer's stocks stand for where a station was hit off mat and grass: the shots off this alone. NULL: both.
ALTER TABLE golfer ADD COLUMN stocks_off TEXT CHECK (stocks_off IN ('mat', 'grass'));
