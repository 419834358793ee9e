/** Rows and plans: one entity a table, no associations; a plan loads with one select a table. */
package upshot.app.store;
