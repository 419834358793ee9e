# All of a data folder's database in one file, and back. The file is SQL, packed; its first line says what it is.

FOR_BACKUPS=("mariadb-client mariadb-dump")
BACKUP_MARK="-- Upshot Lane backup, database version"
MIGRATIONS=app/src/main/resources/db/migration

newest_known() { # the version of the database that this program makes
  basename -a "$MIGRATIONS"/V*.sql | sed -n 's/^V\([0-9]*\)__.*/\1/p' | sort -n | tail -1
}

database_version() { # folder: 0 for a database without tables
  database_sql "$1" -N -e 'select coalesce(max(cast(version as unsigned)), 0) from upshot.flyway_schema_history where success' 2>/dev/null || echo 0
}

# Data of a newer program would be read wrongly, and an older program would never notice.
refuse_newer() { # folder
  local there known
  there=$(database_version "$1")
  known=$(newest_known)
  if [ "$there" -gt "$known" ]; then
    fail "This data was written by a newer Upshot Lane (its database has version $there, this program knows $known). Use the newer program, or restore a backup. Nothing was changed."
  fi
}

dump() { # folder, file: complete or not there at all
  local part=$2.part
  ( umask 077
    { echo "$BACKUP_MARK $(database_version "$1")"
      mariadb-dump --no-defaults --socket="$(database_socket "$1")" --user="$(id -un)" \
        --single-transaction --hex-blob --default-character-set=utf8mb4 --skip-dump-date upshot
    } | gzip >"$part" ) || { rm -f "$part"; fail "The backup could not be written; nothing is left of it."; }
  gzip -t "$part"
  sync "$part"
  mv -n "$part" "$2"
  [ ! -e "$part" ] || { rm -f "$part"; fail "$2 came to be there meanwhile. Nothing was overwritten."; }
}

# Before a program that knows more changes the tables, what there was is kept beside them.
keep_before_changes() { # folder
  local there file
  there=$(database_version "$1")
  if [ "$there" = 0 ] || [ "$there" -ge "$(newest_known)" ]; then return; fi
  need_packages "${FOR_BACKUPS[@]}"
  file=$1/before-version-$(newest_known)-$(date +%Y%m%d-%H%M%S).sql.gz
  say "The tables are older than this program; what there is is kept in $file"
  dump "$1" "$file"
}

with_database() { # folder, command...: starts the database for as long as the command runs, unless it runs already
  local folder=$1 ours=
  shift
  if ! database_alive "$folder"; then
    ours=1
    trap 'database_stop "$folder"' EXIT
    database_start "$folder" durable
  fi
  "$@"
  if [ -n "$ours" ]; then
    database_stop "$folder"
    trap - EXIT
  fi
}

backup() { # file, demo|own
  local file=${1:-} folder=$ROOT/.data/${2:-own}
  [ -n "$file" ] || fail "Name the file: ./upshot backup FILE"
  [ ! -e "$file" ] || fail "$file is there already. Nothing was overwritten."
  [ -d "$folder/data" ] || fail "There is nothing to keep yet in $folder."
  own_folder "$folder"
  need_packages "${FOR_THE_DATABASE[@]}" "${FOR_BACKUPS[@]}"
  with_database "$folder" dump "$folder" "$file"
  say "All jobs and accounts are in $file ($(du -h "$file" | cut -f1)). It holds passwords' hashes and signed-in sessions: keep it like a key."
}

restore() { # file, demo|own
  local file=${1:-} folder=$ROOT/.data/${2:-own} fresh mark
  [ -f "$file" ] || fail "Name the file: ./upshot restore FILE"
  own_folder "$folder"
  need_packages "${FOR_THE_DATABASE[@]}"
  gzip -t "$file" 2>/dev/null || fail "$file is broken or no backup. Nothing was changed."
  mark=$(gzip -dc "$file" | head -1 || true)
  case $mark in
    "$BACKUP_MARK "*) ;;
    *) fail "$file is no backup of Upshot Lane. Nothing was changed." ;;
  esac
  if [ "${mark##* }" -gt "$(newest_known)" ]; then
    fail "$file was written by a newer Upshot Lane. Nothing was changed."
  fi
  if [ -d "$folder" ]; then
    exec 8>"$folder/lock"
    flock -n 8 || fail "Upshot Lane runs on $folder. Stop it first: ./upshot stop. Nothing was changed."
    stop_leftovers "$folder"
  fi
  fresh=$folder.restoring
  if [ -e "$fresh" ]; then stop_leftovers "$fresh"; rm -rf "$fresh"; fi
  trap 'database_stop "$fresh"; rm -rf "$fresh"' EXIT
  database_start "$fresh" durable
  gzip -dc "$file" | database_sql "$fresh" upshot || fail "$file could not be read back. Nothing was changed."
  database_stop "$fresh"
  trap - EXIT
  if [ -d "$folder" ]; then
    local before
    before=$folder-before-$(date +%Y%m%d-%H%M%S)
    mv "$folder" "$before"
    say "What was there before is in $before"
  fi
  mv "$fresh" "$folder"
  say "Restored. Start it with ./upshot start"
}
