-- Where spots lie on their site, and what lies under the plan of one.
alter table plan_spot
    add column site_east_m  double null comment 'of the spot''s own corner, m from a point of the site',
    add column site_north_m double null comment 'likewise';

create table plan_underlay (
    job_id   uuid     not null,
    id       uuid     not null,
    spot_id  uuid     not null,
    still    char(64) not null comment 'hash of the picture',
    across_m double   not null comment 'left edge, m from the corner of the spot',
    deep_m   double   not null comment 'lower edge',
    wide_m   double   not null,
    high_m   double   not null,
    primary key (job_id, id),
    constraint fk_plan_underlay_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_underlay_spot foreign key (job_id, spot_id) references plan_spot (job_id, id)
);
