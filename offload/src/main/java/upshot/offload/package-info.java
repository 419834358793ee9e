/** From a card to disks: copied once, read back from every disk, compared, and only then called safe. */
package upshot.offload;
