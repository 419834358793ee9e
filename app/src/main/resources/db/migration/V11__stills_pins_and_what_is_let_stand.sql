-- Uses that stay where they are, how long a beat is to last, and findings that somebody lets stand.
alter table plan_use
    modify column frame_step double  not null comment 'playback relative to frame for frame, 0 a still',
    add column    pinned     boolean not null default false comment 'stays when a cut is proposed' after entry;

alter table plan_beat
    add column target_s double null comment 'seconds in the cut' after role;

create table plan_accepted (
    job_id      uuid         not null,
    id          uuid         not null,
    rule_id     varchar(60)  not null,
    out_use_id  uuid         null comment 'before the joint',
    into_use_id uuid         null comment 'behind the joint',
    shot_id     uuid         null,
    breaks      boolean      not null comment 'was a break when it was accepted',
    reason      varchar(300) not null,
    primary key (job_id, id),
    constraint fk_plan_accepted_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_accepted_out foreign key (job_id, out_use_id) references plan_use (job_id, id),
    constraint fk_plan_accepted_into foreign key (job_id, into_use_id) references plan_use (job_id, id),
    constraint fk_plan_accepted_shot foreign key (job_id, shot_id) references plan_shot (job_id, id)
);
