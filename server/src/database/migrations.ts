/** Steps of the database's tables, in order. A step that has run anywhere is never changed. */
export const migrations: { name: string; up: string }[] = [
  {
    name: '001-projects-and-changes',
    up: `
      create table projects (
        id text primary key,
        name text not null,
        revision integer not null default 0,
        created_at timestamptz not null default now(),
        updated_at timestamptz not null default now()
      );
      create table changes (
        project_id text not null references projects on delete cascade,
        revision integer not null,
        id text not null,
        client text not null,
        base integer not null,
        label text not null,
        schema integer not null,
        parts jsonb not null,
        inverse jsonb not null,
        outcomes jsonb not null,
        created_at timestamptz not null default now(),
        primary key (project_id, revision),
        unique (project_id, id)
      );
      create table snapshots (
        project_id text not null references projects on delete cascade,
        revision integer not null,
        body bytea not null,
        primary key (project_id, revision)
      );
      create table blobs (sha256 text primary key, size integer not null);
      create table blob_chunks (
        sha256 text not null references blobs on delete cascade,
        position integer not null,
        bytes bytea not null,
        primary key (sha256, position)
      );
      create table assets (
        project_id text not null references projects on delete cascade,
        id text not null,
        sha256 text not null references blobs,
        name text not null,
        type text not null,
        width integer not null,
        height integer not null,
        created_at timestamptz not null default now(),
        primary key (project_id, id)
      );
      create table jobs (
        id text primary key,
        project_id text not null references projects on delete cascade,
        input jsonb not null,
        state text not null default 'waiting',
        error text,
        result text references blobs,
        leased_until timestamptz,
        created_at timestamptz not null default now()
      );
      create index jobs_waiting on jobs (created_at) where state in ('waiting', 'running');
    `,
  },
  {
    name: '002-versions',
    up: `
      create table versions (
        id text primary key,
        project_id text not null references projects on delete cascade,
        revision integer not null,
        name text not null,
        note text,
        stage text,
        approvals jsonb not null default '[]',
        created_at timestamptz not null default now()
      );
      create index versions_of_project on versions (project_id, created_at);
    `,
  },
  {
    name: '003-sizes-attempts-and-sweeping',
    up: `
      alter table changes add column bytes integer;
      update changes set bytes = octet_length(parts::text) + octet_length(inverse::text) + octet_length(outcomes::text);
      alter table changes alter column bytes set not null;
      alter table snapshots add column bytes integer;
      alter table blobs add column stored_at timestamptz not null default now();
      alter table jobs add column attempts integer not null default 0;
      alter table jobs add column finished_at timestamptz;
      create index assets_by_blob on assets (sha256);
      create index jobs_by_result on jobs (result) where result is not null;
    `,
  },
  {
    name: '004-progress-of-exports',
    up: `alter table jobs add column progress real not null default 0;`,
  },
]
