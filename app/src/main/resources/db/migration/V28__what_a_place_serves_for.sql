-- Back stock, what is given away, the artist's own, what is dirty; null for the working kit.
alter table gerula.place
  add column use text check (use in ('back-stock', 'given-away', 'my-own', 'dirty'));
