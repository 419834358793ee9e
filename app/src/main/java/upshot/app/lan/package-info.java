/** Being reached by phones on the local network: a name that stays, a certificate of one's own, and how a phone comes to trust it. */
package upshot.app.lan;
