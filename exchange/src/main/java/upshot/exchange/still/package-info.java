/** Reference pictures: PNG, JPEG and WebP in, one small JPEG without anything but the picture out. */
package upshot.exchange.still;
