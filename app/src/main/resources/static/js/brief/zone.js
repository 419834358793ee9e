// The clock of a place: all time zones to choose from, and the one of this computer as a proposal.

/** Lies outside what is drawn anew, so that it is made once. */
function list() {
  const zones = document.createElement("datalist");
  zones.id = "time-zones";
  zones.append(...Intl.supportedValuesOf("timeZone").map((zone) => new Option(zone)));
  return zones;
}

/** Proposes this computer's zone once a place is being typed for a job that has none. */
export function connectZone(signal) {
  document.querySelector("#time-zones")?.remove();
  document.body.append(list());
  document.addEventListener(
    "input",
    ({ target }) => {
      if (target.id === "coordinates" && target.value) {
        const zone = target.form.elements.namedItem("zone");
        zone.value ||= Intl.DateTimeFormat().resolvedOptions().timeZone;
      }
    },
    { signal },
  );
}
