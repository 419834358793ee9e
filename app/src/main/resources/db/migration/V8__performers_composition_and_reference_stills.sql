-- Who takes part in an action beside its own subject, and whom a shot shows.
create table plan_performer (
    job_id     uuid   not null,
    id         uuid   not null,
    action_id  uuid   not null,
    subject_id uuid   not null,
    sort_rank  double not null,
    primary key (job_id, id),
    constraint fk_plan_performer_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_plan_performer_action foreign key (job_id, action_id) references plan_action (job_id, id),
    constraint fk_plan_performer_subject foreign key (job_id, subject_id) references plan_subject (job_id, id)
);

alter table plan_shot
    add column subject_id uuid        null after action_id,
    add column also_move  varchar(30) not null default 'STILL' comment 'a second move in the same shot' after move,
    add column zooms      boolean     not null default false after also_move,
    add column roll_meant boolean     not null default false comment 'tilted on purpose' after roll_deg,
    add column devices    varchar(200) not null default '' comment 'names separated by commas' after roll_meant,
    add column cautions   varchar(400) not null default '' comment 'names separated by commas' after devices,
    add column still      char(64)    not null default '' comment 'hash of a reference picture' after foreground,
    add constraint fk_plan_shot_subject foreign key (job_id, subject_id) references plan_subject (job_id, id);
-- Until now every tilt was one on purpose.
update plan_shot set roll_meant = true where roll_deg <> 0;

-- Reference pictures, re-encoded and without what a camera writes into its files, one of each in a job.
create table still (
    job_id    uuid       not null,
    hash      char(64)   not null comment 'SHA-256 of the bytes',
    width_px  int        not null,
    height_px int        not null,
    jpeg      mediumblob not null,
    primary key (job_id, hash),
    constraint fk_still_job foreign key (job_id) references job (id) on delete cascade
);
