-- the cover pot a plant stands in, where somebody measured it; one that stays forbids what does not go into it
alter table plant add column cover_top_mm double precision;
alter table plant add column cover_height_mm double precision;
alter table plant add column cover_mass_g double precision;
alter table plant add column cover_fixed boolean default false not null;
