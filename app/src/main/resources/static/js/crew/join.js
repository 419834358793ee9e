// Puts the crew code that stands behind the # of the address into the form: no server sees or writes down an address's end.

const code = decodeURIComponent(location.hash.slice(1));
const form = document.querySelector("[data-join]");
if (code) {
  form.elements.code.value = code;
  history.replaceState(null, "", location.pathname);
  form.elements.name.focus();
}
