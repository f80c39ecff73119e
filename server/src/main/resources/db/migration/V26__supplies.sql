-- What jobs need besides pots and media: feed, mesh, wire, stakes, layers on top and below.
create table supply (
  -- FEED, COARSE, FILLER, DRESSING or TOOL
  kind varchar(20) not null,
  code varchar(40) not null,
  -- g of feed, L of layers, pieces of tools; null where nobody ever counted
  stock double precision,
  -- so much comes in one pack, in the same unit
  pack double precision,
  supplier varchar(120) not null,
  version int not null,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user,
  primary key (kind, code)
);

-- Packs of it are ordered like pots and bags: one of the three.
alter table pot_order add column supply_kind varchar(20);
alter table pot_order add column supply_code varchar(40);
