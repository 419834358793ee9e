-- The plan of a job, one table a kind of record. Ids are made by whoever adds a record, so they are unique in a job only.
create table plan_brief (
    job_id         uuid         not null,
    id             uuid         not null,
    name           varchar(120) not null,
    length_s       double       not null,
    rate_num       int          not null comment 'frames',
    rate_den       int          not null comment 'seconds',
    aspect_width   int          not null,
    aspect_height  int          not null,
    tempo_bpm      double       null,
    shoot_date     date         null,
    call_time      time         not null comment 'local to the place',
    wrap_time      time         not null comment 'local to the place',
    place          varchar(200) not null,
    primary key (job_id, id),
    constraint uq_plan_brief_job unique (job_id),
    constraint fk_plan_brief_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_beat (
    job_id    uuid        not null,
    id        uuid        not null,
    name      varchar(60) not null,
    sort_rank double      not null,
    role      varchar(20) not null,
    primary key (job_id, id),
    constraint fk_plan_beat_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_spot (
    job_id     uuid        not null,
    id         uuid        not null,
    name       varchar(60) not null,
    sort_rank  double      not null,
    outdoors   boolean     not null,
    room_m     double      not null,
    backdrop_m double      not null,
    primary key (job_id, id),
    constraint fk_plan_spot_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_subject (
    job_id   uuid        not null,
    id       uuid        not null,
    name     varchar(60) not null,
    kind     varchar(20) not null,
    height_m double      not null,
    width_m  double      not null,
    length_m double      not null,
    primary key (job_id, id),
    constraint fk_plan_subject_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_body (
    job_id           uuid        not null,
    id               uuid        not null,
    name             varchar(60) not null,
    sort_rank        double      not null,
    sensor_width_mm  double      not null,
    sensor_height_mm double      not null,
    top_rate_num     int         not null comment 'frames',
    top_rate_den     int         not null comment 'seconds',
    primary key (job_id, id),
    constraint fk_plan_body_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_lens (
    job_id          uuid        not null,
    id              uuid        not null,
    name            varchar(60) not null,
    sort_rank       double      not null,
    focal_length_mm double      not null,
    widest_n        double      not null comment 'f-number',
    near_limit_m    double      not null,
    primary key (job_id, id),
    constraint fk_plan_lens_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_action (
    job_id         uuid         not null,
    id             uuid         not null,
    beat_id        uuid         not null,
    spot_id        uuid         not null,
    subject_id     uuid         not null,
    sort_rank      double       not null,
    code_prefix    varchar(3)   not null,
    name           varchar(120) not null,
    feature        boolean      not null comment 'nothing happens: its shots are cutaways',
    posture        varchar(20)  not null,
    base_height_m  double       not null,
    duration_s     double       not null,
    once           boolean      not null,
    fixed_time     time         null comment 'local to the place',
    reset_min      double       not null,
    messy          boolean      not null,
    line           varchar(20)  not null,
    side           varchar(20)  not null,
    thing          varchar(60)  not null,
    thing_height_m double       not null,
    thing_base_m   double       not null,
    cautions       varchar(400) not null comment 'names separated by commas',
    primary key (job_id, id),
    constraint uq_plan_action_prefix unique (job_id, code_prefix),
    constraint fk_plan_action_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_action_beat foreign key (job_id, beat_id) references plan_beat (job_id, id),
    constraint fk_plan_action_spot foreign key (job_id, spot_id) references plan_spot (job_id, id),
    constraint fk_plan_action_subject foreign key (job_id, subject_id) references plan_subject (job_id, id)
);

create table plan_shot (
    job_id           uuid         not null,
    id               uuid         not null,
    action_id        uuid         not null,
    code             varchar(8)   not null,
    sort_rank        double       not null,
    size             varchar(20)  not null,
    insert_height_m  double       null,
    aim_height_m     double       null,
    bearing_deg      double       not null,
    camera_height_m  double       not null,
    focal_length_mm  double       not null,
    aperture_n       double       not null comment 'f-number',
    support          varchar(20)  not null,
    move             varchar(20)  not null,
    capture_rate_num int          not null comment 'frames',
    capture_rate_den int          not null comment 'seconds',
    hold_s           double       not null,
    takes            int          not null,
    placement        varchar(20)  not null,
    priority         varchar(20)  not null,
    foreground       boolean      not null,
    note             varchar(500) not null,
    primary key (job_id, id),
    constraint fk_plan_shot_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_shot_action foreign key (job_id, action_id) references plan_action (job_id, id)
);

create table plan_use (
    job_id     uuid        not null,
    id         uuid        not null,
    shot_id    uuid        not null,
    sort_rank  double      not null,
    frames     int         not null,
    frame_step double      not null comment 'playback relative to frame for frame',
    entry      varchar(20) not null,
    primary key (job_id, id),
    constraint fk_plan_use_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_use_shot foreign key (job_id, shot_id) references plan_shot (job_id, id)
);
