/** What is put on paper: made beside the pages, one at a time, with progress, and given up where nobody wants it. */
package upshot.app.paper;
