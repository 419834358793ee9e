# Puts what a run of mutations found into docs/mutation.md: a row for each package that was run, with its day;
# rows of packages that were not run stay as they are. Use: awk -v today=DAY -f mutation.awk DOCUMENT MUTATIONS.csv

function detected(status) {
  return status == "KILLED" || status == "TIMED_OUT" || status == "MEMORY_ERROR" || status == "RUN_ERROR"
}

FILENAME == ARGV[1] {
  if (/^\| [a-z]+ \|/) {
    split($0, cell, " *\\| *")
    row[cell[2]] = $0
  }
  next
}

{
  split($0, field, ",")
  if (field[6] == "NON_VIABLE") next
  package = field[2]
  sub(/\.[A-Z].*/, "", package)
  sub(/.*\./, "", package)
  made[package]++
  if (detected(field[6])) killed[package]++
  else left[package, field[1]]++
  files[package, field[1]] = field[1]
}

END {
  for (package in made) {
    worst = ""
    for (round = 1; round <= 3; round++) {
      most = 0
      for (key in left) {
        split(key, part, SUBSEP)
        if (part[1] == package && left[key] > most) { most = left[key]; top = key }
      }
      if (!most) break
      name = files[top]
      sub(/\.java$/, "", name)
      worst = worst (worst == "" ? "" : ", ") name " " most
      delete left[top]
    }
    row[package] = sprintf("| %s | %d | %d | %.0f %% | %s | %s |", package, made[package], killed[package], 100 * killed[package] / made[package], today, worst)
  }
  print "# Mutation of the core"
  print ""
  print "Written by `./upshot mutate [PACKAGE ...]`: each condition, figure and call of a package is changed in turn, and the"
  print "core's tests (without the thirteen that try many made-up plans, see `core/pom.xml`) are run on it. *Noticed* counts"
  print "changes that fail a test or end in no time. Rows of packages that a run leaves out keep their day."
  print ""
  print "| Package | Changes | Noticed | Share | Day | Most left in |"
  print "|---|---:|---:|---:|---|---|"
  count = split("time optics ground joint whole shot coverage order", order, " ")
  for (i = 1; i <= count; i++) { if (order[i] in row) print row[order[i]]; delete row[order[i]] }
  for (package in row) print row[package]
}
