/** Who may come in: accounts, signing in, the first owner, and the headers every answer carries. */
package upshot.app.account;
