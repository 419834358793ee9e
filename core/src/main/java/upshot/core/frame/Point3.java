package upshot.core.frame;

/** A place or a direction in the small world, metres. */
record Point3(double x, double y, double z) {

    Point3 plus(Point3 other) {
        return new Point3(x + other.x, y + other.y, z + other.z);
    }

    Point3 minus(Point3 other) {
        return new Point3(x - other.x, y - other.y, z - other.z);
    }

    Point3 times(double factor) {
        return new Point3(x * factor, y * factor, z * factor);
    }

    Point3 towards(Point3 other, double share) {
        return plus(other.minus(this).times(share));
    }

    double dot(Point3 other) {
        return x * other.x + y * other.y + z * other.z;
    }

    Point3 cross(Point3 other) {
        return new Point3(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
    }
}
