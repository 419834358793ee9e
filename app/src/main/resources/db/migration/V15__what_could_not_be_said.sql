-- What practitioners say of a job and the plan could not hold.
alter table plan_house
    add column telling varchar(40) not null default 'SEQUENCES' comment 'how the story is told' after day_order,
    add column pace    varchar(40) not null default 'USUAL' comment 'how long a picture stands' after telling;

alter table plan_action
    add column rises        varchar(20) not null default 'NEITHER' comment 'up or down' after side,
    add column focus        varchar(20) not null default 'UNSAID' comment 'what it is about' after sets_state,
    add column speech       boolean     not null default false after sound,
    add column playback     boolean     not null default false comment 'ticked on recorded sound' after speech,
    add column no_sound     boolean     not null default false comment 'nothing of it is wanted' after playback,
    add column one_picture  boolean     not null default false comment 'one picture of it is enough' after no_sound,
    add column taken        varchar(20) not null default 'SHOT_BY_SHOT' comment 'or in one run' after one_picture,
    add column staged_again boolean     not null default false comment 'what happens once can be done again for the camera' after taken,
    add column strand       varchar(40) not null default '' comment 'of a story told in parallel' after staged_again;

alter table plan_shot
    add column camera_spot_id uuid        null comment 'where the camera stands, where that is another spot' after subject_id,
    add column aim            varchar(20) not null default 'UNSAID' comment 'what it is aimed at' after aim_height_m,
    add column meant          varchar(20) not null default 'ANYTHING' comment 'what for, before there is a cut' after takes,
    add column clean_plate    boolean     not null default false comment 'the frame once more with nothing in it' after meant,
    add constraint fk_plan_shot_camera_spot foreign key (job_id, camera_spot_id) references plan_spot (job_id, id);

alter table plan_use
    add column crop_zoom   double  not null default 1 comment 'cut out of the picture, times',
    add column crop_across double  not null default 0 comment '-1 left to 1 right',
    add column crop_down   double  not null default 0 comment '-1 top to 1 bottom',
    add column flipped     boolean not null default false comment 'left and right exchanged';

alter table plan_spot
    add column loud_from  time null comment 'local to the place',
    add column loud_until time null comment 'local to the place';

alter table plan_subject
    add column films boolean not null default false comment 'alone in front of the own camera' after released;

alter table plan_body
    add column portrait      boolean not null default false comment 'held upright',
    add column variable_rate boolean not null default false comment 'its frames come unevenly',
    add column drop_frame    boolean not null default false comment 'its time code leaves numbers out';

alter table plan_performer
    add column across_m double null comment 'm from the corner of the spot',
    add column deep_m   double null comment 'm from the corner of the spot';

alter table plan_accepted
    add column measured double null comment 'what was let stand, in the unit of the rule' after breaks;

create table plan_rest (
    job_id       uuid   not null,
    id           uuid   not null,
    subject_id   uuid   not null,
    start_time   time   not null comment 'local to the place',
    duration_min double not null,
    primary key (job_id, id),
    constraint fk_plan_rest_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_rest_subject foreign key (job_id, subject_id) references plan_subject (job_id, id)
);

-- The plan of a spot seen from above; metres from its own corner.
create table plan_corner (
    job_id    uuid    not null,
    id        uuid    not null,
    spot_id   uuid    not null,
    sort_rank double  not null comment 'place on the way round',
    across_m  double  not null,
    deep_m    double  not null,
    wall_m    double  not null comment 'height of the wall that begins here, 0 for none',
    paced     boolean not null comment 'counted in steps and not measured',
    primary key (job_id, id),
    constraint fk_plan_corner_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_corner_spot foreign key (job_id, spot_id) references plan_spot (job_id, id)
);

create table plan_stretch (
    job_id        uuid        not null,
    id            uuid        not null,
    spot_id       uuid        not null,
    sort_rank     double      not null,
    name          varchar(60) not null,
    what          varchar(20) not null,
    from_across_m double      not null,
    from_deep_m   double      not null,
    to_across_m   double      not null,
    to_deep_m     double      not null,
    sill_m        double      not null,
    head_m        double      not null,
    primary key (job_id, id),
    constraint fk_plan_stretch_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_stretch_spot foreign key (job_id, spot_id) references plan_spot (job_id, id)
);

create table plan_standing (
    job_id    uuid          not null,
    id        uuid          not null,
    spot_id   uuid          not null,
    sort_rank double        not null,
    name      varchar(60)   not null,
    what      varchar(20)   not null,
    corners   varchar(4000) not null comment 'metres, as in outlines',
    height_m  double        not null,
    reason    varchar(120)  not null,
    decides   varchar(60)   not null,
    primary key (job_id, id),
    constraint fk_plan_standing_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_standing_spot foreign key (job_id, spot_id) references plan_spot (job_id, id)
);

create table plan_waypoint (
    job_id    uuid   not null,
    id        uuid   not null,
    action_id uuid   not null,
    sort_rank double not null comment 'place on the way',
    across_m  double not null,
    deep_m    double not null,
    pause_s   double not null,
    primary key (job_id, id),
    constraint fk_plan_waypoint_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_waypoint_action foreign key (job_id, action_id) references plan_action (job_id, id)
);
