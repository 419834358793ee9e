-- Where an action happens in its spot, where no camera stands, and lamps of one's own round the subject.
alter table plan_action
    add column across_m double null after base_height_m,
    add column deep_m   double null after across_m;

alter table plan_spot
    add column no_go varchar(4000) not null default '' comment 'outlines separated by strokes' after outline;

alter table plan_shot
    add column key_deg  double null comment 'bearing round the subject' after lamps_off,
    add column fill_deg double null after key_deg,
    add column back_deg double null after fill_deg;
