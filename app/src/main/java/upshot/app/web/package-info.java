/** What all pages share: errors, pieces of pages, the answer to an edit. */
package upshot.app.web;
