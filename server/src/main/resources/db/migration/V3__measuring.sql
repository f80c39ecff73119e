-- troughs have a depth from front to back; an urn's mouth is narrower than its belly
alter table plant add column pot_mouth_mm double precision;
alter table plant add column pot_top_depth_mm double precision;
alter table plant add column pot_base_depth_mm double precision;
