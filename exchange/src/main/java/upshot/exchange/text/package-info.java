/** Files as text: what cannot be read says where and why. */
package upshot.exchange.text;
