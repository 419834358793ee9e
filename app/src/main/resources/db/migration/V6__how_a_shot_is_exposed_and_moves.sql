-- Exposure, glass, punch-in, how far the camera moves and why, and what the subject does with the frame.
alter table plan_shot
    add column move_m       double      not null default 0 after move,
    add column turn_deg     double      not null default 0 after move_m,
    add column reason       varchar(30) not null default 'NONE' after turn_deg,
    add column shutter_per_s double     null comment 'the number under the line, empty for the school''s' after capture_rate_den,
    add column iso          int         not null default 800 after shutter_per_s,
    add column nd_stops     double      not null default 0 after iso,
    add column dioptre_per_m double     not null default 0 after nd_stops,
    add column punch_in     double      not null default 1 after dioptre_per_m,
    add column lamps_off    boolean     not null default false after punch_in,
    add column frame_use    varchar(30) not null default 'STAYS' after placement,
    add column viewpoint    varchar(30) not null default 'OBJECTIVE' after frame_use,
    add column roll_deg     double      not null default 0 after viewpoint;
