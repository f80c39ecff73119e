-- what is said is kept once, not in each of the units
alter table job drop column advice_imperial;
alter table aftercare_step alter column said set not null;
alter table aftercare_step drop column text;
