-- What a club's zones mean, by sport and number; without a row nobody has said.
create table club_zones (
  club_id uuid primary key references club (id),
  meanings jsonb not null,
  version bigint not null
);
