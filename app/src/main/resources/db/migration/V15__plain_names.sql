-- Columns and functions go by the words of docs/words.md: a spoilage report, and search. States in the
-- history keep the names of their level; SpoilageUpcaster knows them.
alter table gerula.item rename column changed_on to spoilage_on;
alter table gerula.item rename column changed_what to spoilage_what;

alter table gerula.sought_item rename to search_item;
alter table gerula.search_item rename column sought to search;
alter table gerula.sought_word rename to search_word;
alter table gerula.place rename column sought to search;
alter index gerula.sought_item_sought rename to search_item_search;
alter index gerula.sought_item_place rename to search_item_place;
alter index gerula.sought_word_like rename to search_word_like;
alter index gerula.place_sought rename to place_search;

do $$
declare t text;
begin
  foreach t in array array['item', 'product', 'place', 'person'] loop
    execute format('alter trigger sought_when_added on gerula.%I rename to search_when_added', t);
    execute format('alter trigger sought_when_changed on gerula.%I rename to search_when_changed', t);
    execute format('alter function gerula.%I() rename to %I', t || '_is_sought', t || '_is_searched');
  end loop;
end $$;
alter function gerula.sought_text(text[]) rename to search_text;
alter function gerula.sought_pattern(text) rename to search_pattern;

-- What a function does is text, which no renaming reaches: each that says the old word is made again.
do $$
declare made text;
begin
  for made in
    select pg_get_functiondef(oid) from pg_proc
    where pronamespace = 'gerula'::regnamespace and prokind = 'f' and prosrc like '%sought%'
  loop
    execute replace(replace(made, '_is_sought', '_is_searched'), 'sought', 'search');
  end loop;
end $$;
