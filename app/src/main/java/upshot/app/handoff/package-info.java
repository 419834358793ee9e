/** Stage 7: what the editor gets. */
package upshot.app.handoff;
