-- What is known before the day: music, agenda, light, people's hours, kit with its modes, house rules.
alter table plan_brief
    add column also_aspects  varchar(100) not null default '' comment 'shapes separated by commas' after aspect_height,
    add column long_side_px  int          not null default 1920 after also_aspects,
    add column beats_per_bar int          not null default 4 after tempo_bpm,
    add column first_beat_s  double       not null default 0 after beats_per_bar,
    add column latitude_deg  double       null comment 'WGS 84, north positive',
    add column longitude_deg double       null comment 'WGS 84, east positive',
    add column zone          varchar(60)  not null default '' comment 'IANA name, empty for that of the coordinates';

alter table plan_spot
    add column width_m          double        not null default 6,
    add column depth_m          double        not null default 5,
    add column outline          varchar(4000) not null default '' comment 'corners in m, separated by commas',
    add column ceiling_m        double        null,
    add column facing_deg       double        null comment 'compass',
    add column mains_hz         int           not null default 50,
    add column lamps            varchar(30)   not null default 'FLICKERING',
    add column lamps_can_go_off boolean       not null default true,
    add column lux              double        not null default 300,
    add column noise            varchar(30)   not null default 'QUIET',
    add column hazards          varchar(400)  not null default '' comment 'names separated by commas',
    add column opens_time       time          null comment 'local to the place',
    add column closes_time      time          null comment 'local to the place';

alter table plan_subject
    add column from_time  time         null comment 'local to the place',
    add column until_time time         null comment 'local to the place',
    add column effort_min double       null comment 'active minutes before a rest',
    add column rest_min   double       not null default 10,
    add column consent    varchar(30)  not null default 'OPEN',
    add column released   boolean      not null default false comment 'may go after the last shot',
    add column note       varchar(200) not null default '';

alter table plan_action
    add column from_time    time         null comment 'local to the place',
    add column until_time   time         null comment 'local to the place',
    add column soon_gone    boolean      not null default false,
    add column tiring       boolean      not null default false,
    add column quick        boolean      not null default false,
    add column speed_mps    double       not null default 0,
    add column sets_state   varchar(60)  not null default '',
    add column phases       varchar(200) not null default '',
    add column sound        varchar(120) not null default '',
    add column wanted_light varchar(30)  not null default 'ANY';

alter table plan_lens
    add column longest_mm  double null,
    add column narrowest_n double not null default 22 comment 'f-number',
    add column squeeze     double not null default 1;
update plan_lens set longest_mm = focal_length_mm, narrowest_n = greatest(22, widest_n);
alter table plan_lens modify column longest_mm double not null;

alter table plan_body
    add column shutter     varchar(30) not null default 'STILLS',
    add column lowest_iso  int         not null default 100,
    add column highest_iso int         not null default 12800,
    add column battery_min double      not null default 90;

create table plan_house (
    job_id        uuid not null,
    id            uuid not null,
    coverage      varchar(30) not null,
    hold          varchar(30) not null,
    shutter       varchar(30) not null,
    speed         varchar(30) not null,
    light         varchar(30) not null,
    eye           varchar(30) not null,
    movement      varchar(30) not null,
    day_order     varchar(30) not null,
    mirror_ending boolean not null,
    primary key (job_id, id),
    constraint uq_plan_house_job unique (job_id),
    constraint fk_plan_house_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_adjustment (
    job_id    uuid not null,
    id        uuid not null,
    threshold varchar(30) not null,
    value     double not null,
    primary key (job_id, id),
    constraint uq_plan_adjustment_threshold unique (job_id, threshold),
    constraint fk_plan_adjustment_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_tempo (
    job_id             uuid not null,
    id                 uuid not null,
    at_quarter         double not null,
    micros_per_quarter int not null,
    beats_per_bar      int not null,
    beat_unit          int not null,
    primary key (job_id, id),
    constraint fk_plan_tempo_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_voice (
    job_id  uuid not null,
    id      uuid not null,
    start_s double not null,
    end_s   double not null,
    words   varchar(200) not null,
    primary key (job_id, id),
    constraint fk_plan_voice_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_moment (
    job_id       uuid not null,
    id           uuid not null,
    name         varchar(120) not null,
    date         date null,
    start_time   time not null,
    duration_min double not null,
    note         varchar(200) not null,
    primary key (job_id, id),
    constraint fk_plan_moment_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_walk (
    job_id       uuid not null,
    id           uuid not null,
    from_spot_id uuid not null,
    to_spot_id   uuid not null,
    minutes      double not null,
    primary key (job_id, id),
    constraint fk_plan_walk_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_walk_from foreign key (job_id, from_spot_id) references plan_spot (job_id, id),
    constraint fk_plan_walk_to foreign key (job_id, to_spot_id) references plan_spot (job_id, id)
);

create table plan_mode (
    job_id           uuid not null,
    id               uuid not null,
    body_id          uuid not null,
    name             varchar(60) not null,
    sort_rank        double not null,
    width_px         int not null,
    height_px        int not null,
    rates            varchar(400) not null comment 'rates separated by commas',
    sensor_width_mm  double not null,
    sensor_height_mm double not null,
    bit_rate_mbps    double not null,
    bit_rate_scales  boolean not null,
    primary key (job_id, id),
    constraint fk_plan_mode_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_mode_body foreign key (job_id, body_id) references plan_body (job_id, id)
);

create table plan_dioptre (
    job_id         uuid not null,
    id             uuid not null,
    name           varchar(60) not null,
    sort_rank      double not null,
    strength_per_m double not null,
    primary key (job_id, id),
    constraint fk_plan_dioptre_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_nd (
    job_id    uuid not null,
    id        uuid not null,
    name      varchar(60) not null,
    sort_rank double not null,
    stops     double not null,
    primary key (job_id, id),
    constraint fk_plan_nd_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_carrier (
    job_id    uuid not null,
    id        uuid not null,
    name      varchar(60) not null,
    sort_rank double not null,
    support   varchar(30) not null,
    lowest_m  double not null,
    highest_m double not null,
    travel_m  double not null,
    primary key (job_id, id),
    constraint fk_plan_carrier_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_card (
    job_id               uuid not null,
    id                   uuid not null,
    name                 varchar(60) not null,
    sort_rank            double not null,
    count                int not null,
    capacity_gb          double not null,
    copy_megabytes_per_s double not null,
    primary key (job_id, id),
    constraint fk_plan_card_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_light (
    job_id       uuid not null,
    id           uuid not null,
    name         varchar(60) not null,
    sort_rank    double not null,
    watts        double not null,
    lux_at_one_m double not null,
    flicker_free boolean not null,
    primary key (job_id, id),
    constraint fk_plan_light_job foreign key (job_id) references job (id) on delete cascade
);

-- Jobs from before get the usual house rules, and a mode that records what the body was said to record.
insert into plan_house (job_id, id, coverage, hold, shutter, speed, light, eye, movement, day_order, mirror_ending)
select id, uuid(), 'TRIAD', 'AS_ASKED', 'HALF_OPEN', 'SPARE', 'NATURAL', 'FREE', 'MOTIVATED', 'MUSTS_FIRST', false
from job;

insert into plan_mode (job_id, id, body_id, name, sort_rank, width_px, height_px, rates, sensor_width_mm,
                       sensor_height_mm, bit_rate_mbps, bit_rate_scales)
select b.job_id, uuid(), b.id, 'all rates', 1024, 3840, 2160,
       (select group_concat(r.rate order by r.fps separator ', ')
        from (select '24000/1001' as rate, 23.976 as fps union all select '24', 24 union all select '25', 25
              union all select '30000/1001', 29.97 union all select '30', 30 union all select '48', 48
              union all select '50', 50 union all select '60000/1001', 59.94 union all select '60', 60
              union all select '100', 100 union all select '120', 120 union all select '240', 240) r
        where r.fps <= b.top_rate_num / b.top_rate_den),
       b.sensor_width_mm, b.sensor_height_mm, 100, true
from plan_body b;

alter table plan_body
    drop column sensor_width_mm,
    drop column sensor_height_mm,
    drop column top_rate_num,
    drop column top_rate_den;
