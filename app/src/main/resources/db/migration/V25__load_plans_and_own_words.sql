-- Where things are packed: what the artist pinned, which compartments are left alone, and what was
-- planned last.
alter table gerula.booking add column load jsonb not null default '{}';

-- How full a compartment may be, what a bag may weigh that is worn or carried, and what the card for
-- clients says in the artist's own words.
alter table gerula.house_rules
  add column usable_percent smallint not null default 85 check (usable_percent between 30 and 100),
  add column worn_grams integer not null default 4000 check (worn_grams between 500 and 15000),
  add column carried_grams integer not null default 8000
    check (carried_grams between 1000 and 30000),
  add column card_words text not null default '' check (length(card_words) <= 2000);

-- Who makes up whom when.
alter table gerula.booking add column chairs jsonb not null default '{}';
