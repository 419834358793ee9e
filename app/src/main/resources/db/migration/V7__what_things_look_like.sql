-- The form of a thing, for its drawing. What was large enough to be drawn as a building stays one.
alter table plan_subject
    add column form varchar(30) not null default 'ROUND' after length_m;
update plan_subject set form = 'BUILDING' where kind = 'OBJECT' and greatest(width_m, length_m) >= 1.5;

alter table plan_action
    add column thing_form varchar(30) not null default 'ROUND' after thing;
