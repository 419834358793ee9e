/** The made-up jobs that {@code ./upshot demo} shows; entered through the application's own services. */
package upshot.app.demo;
