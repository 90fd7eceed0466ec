export interface Student {
  id: string;
  name: string;
  hasWord: boolean;
}

export interface Classroom {
  id: string;
  name: string;
  code: string;
  students: Student[];
}
