-- Further days and units of a shoot, and when each shot has its turn.
create table plan_shift (
    job_id     uuid        not null,
    id         uuid        not null,
    name       varchar(60) not null,
    sort_rank  double      not null comment 'place among the shifts',
    day_offset int         not null comment 'days after the day of the shoot',
    call_time  time        not null comment 'local to the place',
    wrap_time  time        not null comment 'local to the place',
    cameras    int         not null,
    primary key (job_id, id),
    constraint fk_plan_shift_job foreign key (job_id) references job (id) on delete cascade
);

create table plan_turn (
    job_id      uuid    not null,
    id          uuid    not null,
    shot_id     uuid    not null,
    shift_id    uuid    null comment 'none for the day of the brief',
    sort_rank   double  not null comment 'place in the order of the shift',
    pinned_time time    null comment 'when getting ready begins, local to the place',
    let_go      boolean not null comment 'not shot at all, by decision',
    primary key (job_id, id),
    constraint uq_plan_turn_shot unique (job_id, shot_id),
    constraint fk_plan_turn_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_turn_shot foreign key (job_id, shot_id) references plan_shot (job_id, id),
    constraint fk_plan_turn_shift foreign key (job_id, shift_id) references plan_shift (job_id, id)
);
