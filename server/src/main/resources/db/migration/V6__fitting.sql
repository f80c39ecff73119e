-- what came in the way of a planned repot: FITS, MOVED, HELD, OTHER_CALL or LATE, and the words for it
alter table job add column fit varchar(20) default 'FITS' not null;
alter table job add column note varchar(1000);

-- what nobody measured, and what nobody said, is left open; the rules assume it and say so
alter table plant alter column height_mm drop not null;
alter table plant alter column spread_mm drop not null;
alter table plant alter column size_wish drop not null;
alter table plant alter column pot_base_mm drop not null;
alter table plant alter column pot_height_mm drop not null;

-- lists draw every pot, in the proportions the rules assume where nobody measured them
alter table plant add column drawn_base_mm double precision
  generated always as (coalesce(pot_base_mm, 0.76 * pot_top_mm));
alter table plant add column drawn_height_mm double precision
  generated always as (coalesce(pot_height_mm, 0.92 * pot_top_mm));
