// Puts what stands behind the # of a one-time link into its form: no server sees or writes down an address's end.

const secret = decodeURIComponent(location.hash.slice(1));
const field = document.querySelector("[data-one-time] [name=code]");
if (secret && field) {
  field.value = secret;
  history.replaceState(null, "", location.pathname);
  document.querySelector("[data-one-time] [name=password]").focus();
}
