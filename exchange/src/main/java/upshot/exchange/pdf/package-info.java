/** Pages on paper: what a template made, as a PDF with fonts of its own and pictures as lines. */
package upshot.exchange.pdf;
